import { ref } from 'vue';

const THEMES = ['light', 'dim', 'contrast'] as const;
type Theme = (typeof THEMES)[number];
const KEY = 'cadre.theme';

function isTheme(word: string | null): word is Theme {
  return (THEMES as readonly (string | null)[]).includes(word);
}

const stored = localStorage.getItem(KEY);
export const theme = ref<Theme>(isTheme(stored) ? stored : 'light');
document.documentElement.dataset.theme = theme.value;

export function nextTheme(): void {
  theme.value = THEMES[(THEMES.indexOf(theme.value) + 1) % THEMES.length] ?? 'light';
  document.documentElement.dataset.theme = theme.value;
  localStorage.setItem(KEY, theme.value);
}
