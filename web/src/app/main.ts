import '../parts/withoutEval';
import { pathWithin } from './basePath';
import { screens } from './screens';
import './style.css';

// The screens that an address most often names are loaded beside the rest, not after it.
const path = pathWithin(window.location.pathname);
if (path === '/' || path === '/blends') void screens.blends();
else if (/^\/blends\/[^/]+$/.test(path)) void screens.blend();
else if (path.startsWith('/make/')) void screens.bench();

void import('./start');
