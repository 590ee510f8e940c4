/** Kivex's own design system for Chakra: our tokens, and our recipes for its components. */
import { createSystem, defaultBaseConfig, defineConfig } from '@chakra-ui/react';
import { barPigments, darkPigments, pigments } from './pigments.js';
import { recipes, slotRecipes } from './recipes/shared-recipes.js';

type Shades = Readonly<Record<string, string>>;
const semantic = Object.fromEntries(
  Object.entries(pigments).map(([name, shades]) => [
    name,
    Object.fromEntries(
      Object.entries(shades).map(([shade, light]) => [
        shade === 'value' ? 'DEFAULT' : shade,
        {
          value: {
            base: light,
            _prep: (darkPigments[name as keyof typeof darkPigments] as Shades)[shade] ?? light,
          },
        },
      ]),
    ),
  ]),
);

/** Tokens, conditions, and the recipes that every page uses. */
export const config = defineConfig({
  preflight: true,
  conditions: {
    prep: ':is([data-theme=prep] &, [data-theme=prep]&)',
    projector: ':is([data-theme=projector] &)',
  },
  globalCss: {
    html: {
      scrollPaddingTop: '5rem',
      scrollPaddingBottom: '6rem',
      fontFamily: 'body',
      fontSize: '16px',
      colorScheme: 'light',
      '&[data-theme=prep]': { colorScheme: 'dark' },
      '&[data-theme=projector]': { fontSize: '20px' },
    },
    body: { _print: { bg: 'white' }, bg: 'slate.100', color: 'ink', lineHeight: '1.45', minH: '100vh' },
    // What is hidden is hidden, however it would be laid out.
    '[hidden]': { display: 'none !important' },
    'a:focus-visible, [tabindex]:focus-visible, summary:focus-visible': {
      outline: '3px solid',
      outlineColor: 'permanganate',
      outlineOffset: '2px',
    },
    'h1, h2, h3': { lineHeight: '1.2', fontWeight: '700', textWrap: 'balance' },
    'sub, sup': { fontSize: '0.72em' },
    '*': { _motionReduce: { animation: 'none', transition: 'none' } },
    '[data-noprint]': { _print: { display: 'none !important' } },
  },
  theme: {
    breakpoints: { sm: '480px', md: '768px', lg: '1024px', xl: '1280px' },
    tokens: {
      fonts: {
        body: { value: "'Atkinson Hyperlegible Next', 'DejaVu Sans', Verdana, sans-serif" },
        mono: { value: "'Atkinson Hyperlegible Mono', 'DejaVu Sans Mono', monospace" },
      },
      fontSizes: {
        xs: { value: '0.8rem' },
        sm: { value: '0.89rem' },
        md: { value: '1rem' },
        lg: { value: '1.15rem' },
        xl: { value: '1.4rem' },
        '2xl': { value: '1.8rem' },
        '3xl': { value: '2.4rem' },
      },
      spacing: Object.fromEntries(
        [0.5, 1, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10, 12, 16, 20, 24].map((n) => [
          String(n),
          { value: `${n * 0.25}rem` },
        ]),
      ),
      sizes: Object.fromEntries(
        [4, 5, 6, 7, 8, 9, 10, 12, 14, 16, 20, 24].map((n) => [String(n), { value: `${n * 0.25}rem` }]),
      ),
      radii: { tile: { value: '8px' }, glaze: { value: '14px' }, round: { value: '999px' } },
      shadows: {
        tile: { value: '0 1px 0 rgba(255,255,255,.9) inset, 0 1px 3px rgba(22,35,58,.14)' },
        lift: { value: '0 3px 10px rgba(22,35,58,.22)' },
      },
    },
    semanticTokens: { colors: { ...semantic, bar: barPigments } },
    recipes,
    slotRecipes,
    keyframes: {
      spin: { to: { transform: 'rotate(360deg)' } },
      pulse: { '50%': { opacity: '0.45' } },
    },
  },
});

export const system = createSystem(defaultBaseConfig, config);
