/** Night, day, night: the colours of the day from midnight to midnight, for a shape that is filled with `url(#id)`. */
export function DayGradient({ id, upright = false }: { id: string; upright?: boolean }) {
  return (
    <defs>
      <linearGradient id={id} {...(upright ? { x2: '0', y2: '1' } : {})}>
        <stop offset="0" stopColor="#2a2f57" />
        <stop offset="0.2" stopColor="#3f4577" />
        <stop offset="0.27" stopColor="#e5c48a" />
        <stop offset="0.36" stopColor="#faf0d7" />
        <stop offset="0.64" stopColor="#fdf4dc" />
        <stop offset="0.74" stopColor="#f0cf9d" />
        <stop offset="0.8" stopColor="#8b6f77" />
        <stop offset="0.86" stopColor="#3f4577" />
        <stop offset="1" stopColor="#2a2f57" />
      </linearGradient>
    </defs>
  );
}
