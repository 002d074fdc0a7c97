import '../parts/withoutEval';
import { pathWithin } from './basePath';
import { pageAt } from './pages';
import './style.css';

// The page that an address names is loaded beside the rest, not after it.
void pageAt(pathWithin(window.location.pathname))?.[1]();

void import('./start');
