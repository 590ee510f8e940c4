/** The small form of axe says the same of itself as the whole. */
declare module 'axe-core/axe.min.js' {
  import axe from 'axe-core';
  export default axe;
}
