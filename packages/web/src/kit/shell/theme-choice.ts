/** Daylight, projector or dark prep room: chosen once for a device, by tokens alone. */
import { create } from 'zustand';

export const themes = ['daylight', 'projector', 'prep'] as const;
export type Theme = (typeof themes)[number];
const key = 'kivex-theme';

const show = (theme: Theme): void => {
  document.documentElement.dataset['theme'] = theme;
};

/** Puts the device's theme on; called once before the first paint. */
export function restoreTheme(): void {
  show(useTheme.getState().theme);
}

const stored = (): Theme => themes.find((theme) => theme === localStorage.getItem(key)) ?? 'daylight';

export const useTheme = create<{ theme: Theme; choose: (theme: Theme) => void }>((set) => ({
  theme: stored(),
  choose: (theme) => {
    localStorage.setItem(key, theme);
    show(theme);
    set({ theme });
  },
}));

/** From daylight to projector to prep room, and round again. */
export function nextTheme(): void {
  const { theme, choose } = useTheme.getState();
  choose(themes[(themes.indexOf(theme) + 1) % themes.length]!);
}
