/** Marks as people write them: 9, 9½, else with up to two digits behind the point. */
export function marks(n: number, locale = 'en'): string {
  const whole = Math.floor(n);
  const rest = n - whole;
  if (Math.abs(rest - 0.5) < 1e-9)
    return `${whole === 0 ? '' : new Intl.NumberFormat(locale).format(whole)}½`;
  return new Intl.NumberFormat(locale, { maximumFractionDigits: 2 }).format(n);
}
