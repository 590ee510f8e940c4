/** The pigments the whole of Kivex is painted with, and what each is for. Contrast on porcelain is AA or better for every text pigment. */
export const pigments = {
  ink: { value: '#16233a', soft: '#43526b', faint: '#5d6b82' },
  porcelain: { value: '#fdfdfb', shade: '#f2f5f7' },
  slate: { 50: '#edf2f5', 100: '#e2e9ee', 200: '#cdd8e0', 300: '#aebdc9', 500: '#6b7f91', 700: '#3c4f61' },
  /** Go, accepted. */
  verdigris: { value: '#18705b', wash: '#dcefe9', line: '#7fbcaa' },
  /** Chosen, focus. */
  permanganate: { value: '#6b2a7d', wash: '#f1e6f4', line: '#b98cc6' },
  /** Look here. */
  saffron: { value: '#7d5200', wash: '#fdf0cf', line: '#e0b04a' },
  /** Stop, danger only. */
  cinnabar: { value: '#a8231b', wash: '#fbe5e2', line: '#dd8f88' },
} as const;

/** The same tokens for the dark prep room. */
export const darkPigments = {
  ink: { value: '#eef3f7', soft: '#c2cdd8', faint: '#a3b1bf' },
  porcelain: { value: '#1d2836', shade: '#243244' },
  slate: { 50: '#18222e', 100: '#121b26', 200: '#33445a', 300: '#4b6079', 500: '#93a6b8', 700: '#c2cdd8' },
  verdigris: { value: '#7ed3bb', wash: '#173f36', line: '#3d8f79' },
  permanganate: { value: '#dcaeea', wash: '#40204b', line: '#8d55a0' },
  saffron: { value: '#f3ca6a', wash: '#453512', line: '#9a7728' },
  cinnabar: { value: '#ff9d94', wash: '#4f1c18', line: '#a8473f' },
} as const;

/** The bar at the top of a page, dark in every theme. */
export const barPigments = {
  DEFAULT: { value: '#16233a' },
  ink: { value: '#eef3f7' },
  soft: { value: '#c2cdd8' },
  lift: { value: 'rgba(255,255,255,.12)' },
  here: { value: '#fdfdfb' },
  hereInk: { value: '#16233a' },
  focus: { value: '#dcaeea' },
} as const;
