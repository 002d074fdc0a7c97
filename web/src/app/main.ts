import '../parts/withoutEval';
import { pathWithin } from './basePath';
import { pageAt } from './pages';
import './style.css';

// The page that an address names is loaded beside the rest, not after it.
const path = pathWithin(window.location.pathname);
void pageAt(path)?.[1]();
// The first page of a house in use is its book.
if (path === '/') void pageAt('/blends')?.[1]();

void import('./start');
