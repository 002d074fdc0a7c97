import type { Settings } from '../store/settings';

const system = (): MediaQueryList => window.matchMedia('(prefers-color-scheme: dark)');

let chosen: Settings['scheme'] = 'system';

/** Light or dark from now on, or as the system has it. */
export const chooseScheme = (scheme: Settings['scheme']): void => {
  chosen = scheme;
  const dark = scheme === 'dark' || (scheme === 'system' && system().matches);
  document.documentElement.dataset['scheme'] = dark ? 'dark' : 'light';
  document.documentElement.style.colorScheme = dark ? 'dark' : 'light';
};

/** Follows the system while nothing else is chosen. */
export const followScheme = (): void => {
  chooseScheme('system');
  system().addEventListener('change', () => chooseScheme(chosen));
};
