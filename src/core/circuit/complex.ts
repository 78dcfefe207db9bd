/** A complex number in rectangular form; in this program a phasor (V, A) or an impedance (Ω), rms. */
export interface Complex {
  readonly re: number;
  readonly im: number;
}

export const complex = (re: number, im = 0): Complex => ({ re, im });
export const add = (a: Complex, b: Complex): Complex => ({ re: a.re + b.re, im: a.im + b.im });
export const subtract = (a: Complex, b: Complex): Complex => ({ re: a.re - b.re, im: a.im - b.im });
export const multiply = (a: Complex, b: Complex): Complex => ({
  re: a.re * b.re - a.im * b.im,
  im: a.re * b.im + a.im * b.re,
});
export const magnitude = (a: Complex): number => Math.hypot(a.re, a.im);

/** a / b. Division by zero gives non-finite parts, as with real numbers. */
export function divide(a: Complex, b: Complex): Complex {
  const square = b.re * b.re + b.im * b.im;
  return { re: (a.re * b.re + a.im * b.im) / square, im: (a.im * b.re - a.re * b.im) / square };
}

/** Two impedances side by side. A branch of 0 Ω makes 0, also beside another of 0 Ω. */
export function parallel(a: Complex, b: Complex): Complex {
  if ((a.re === 0 && a.im === 0) || (b.re === 0 && b.im === 0)) return complex(0);
  return divide(multiply(a, b), add(a, b));
}
