/** Calm motion of the bench on screen; the still mode and people who ask for less motion have none. */
import { Global } from '@emotion/react';

const styles = `
@keyframes kx-rise {
  0% {
    transform: translateY(0) scale(0.6);
    opacity: 0;
  }
  15% {
    opacity: 0.9;
  }
  100% {
    transform: translateY(var(--kx-up)) scale(1.15);
    opacity: 0;
  }
}
@keyframes kx-drop {
  0% {
    transform: translateY(0);
    opacity: 1;
  }
  80% {
    opacity: 1;
  }
  100% {
    transform: translateY(var(--kx-down));
    opacity: 0;
  }
}
@keyframes kx-flicker {
  0%,
  100% {
    transform: scale(1, 1);
  }
  30% {
    transform: scale(0.97, 1.03);
  }
  60% {
    transform: scale(1.02, 0.98);
  }
}
@keyframes kx-waft {
  0% {
    transform: translateY(4px);
    opacity: 0;
  }
  40% {
    opacity: 0.5;
  }
  100% {
    transform: translateY(-26px);
    opacity: 0;
  }
}
.kx-bubble {
  animation: kx-rise var(--kx-time, 1.6s) linear infinite;
  transform-box: fill-box;
  transform-origin: center;
}
.kx-dropfall {
  animation: kx-drop 0.5s ease-in 3;
  transform-box: fill-box;
}
.kx-flame {
  animation: kx-flicker 0.9s ease-in-out infinite;
  transform-box: fill-box;
  transform-origin: 50% 100%;
}
.kx-waft {
  animation: kx-waft 2.4s ease-out infinite;
}
[data-still] .kx-bubble,
[data-still] .kx-dropfall,
[data-still] .kx-flame,
[data-still] .kx-waft {
  animation: none;
}
@media (prefers-reduced-motion: reduce) {
  .kx-bubble,
  .kx-dropfall,
  .kx-flame,
  .kx-waft {
    animation: none;
  }
}
`;
export const Motion = () => <Global styles={styles} />;
