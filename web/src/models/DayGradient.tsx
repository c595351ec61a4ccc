/** Night, day, night: the colours of the day from midnight to midnight, for a shape that is filled with `url(#id)`. */
export function DayGradient({ id, upright = false }: { id: string; upright?: boolean }) {
  return (
    <defs>
      <linearGradient id={id} {...(upright ? { x2: '0', y2: '1' } : {})}>
        <stop offset="0" stopColor="var(--color-night)" />
        <stop offset="0.2" stopColor="var(--color-dusk)" />
        <stop offset="0.27" stopColor="var(--color-dawn)" />
        <stop offset="0.36" stopColor="var(--color-day)" />
        <stop offset="0.64" stopColor="var(--color-noon)" />
        <stop offset="0.74" stopColor="var(--color-dawn)" />
        <stop offset="0.8" stopColor="var(--color-evening)" />
        <stop offset="0.86" stopColor="var(--color-dusk)" />
        <stop offset="1" stopColor="var(--color-night)" />
      </linearGradient>
    </defs>
  );
}
