import { Bar, BarChart, Cell, LabelList, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import type { TallyReply } from '../../api/types';

/** As large as the least that is read from the back row. */
const small = { fontSize: 'calc(var(--u) * 1.875)' };

/** How the tries lie about the target; for who does not see it, the same as a table. */
export function TallyChart({ tally }: { tally: TallyReply }) {
  const data = tally.bars.map((bar) => ({ ...bar, name: `${bar.from / 10}–${bar.to / 10}` }));
  const target = tally.bars.find((bar) => bar.from === 10 * tally.target);
  return (
    <figure>
      <div className="h-72" aria-hidden="true">
        <ResponsiveContainer width="100%" height="100%">
          <BarChart data={data} margin={{ top: 34, right: 8, bottom: 14, left: -14 }} accessibilityLayer={false}>
            <XAxis
              dataKey="name"
              tick={{ fill: 'var(--color-ink)', style: small }}
              stroke="var(--color-ink)"
              interval="preserveStartEnd"
            />
            <YAxis allowDecimals={false} tick={{ fill: 'var(--color-ink)', style: small }} stroke="var(--color-ink)" />
            <Bar dataKey="count" isAnimationActive={false}>
              {data.map((bar) => (
                <Cell key={bar.name} fill="var(--color-second)" stroke="var(--color-ink)" />
              ))}
              <LabelList dataKey="count" position="top" fill="var(--color-ink)" style={small} />
            </Bar>
            {target && (
              <ReferenceLine
                x={`${target.from / 10}–${target.to / 10}`}
                position="start"
                stroke="var(--color-ink)"
                strokeDasharray="5 4"
              />
            )}
          </BarChart>
        </ResponsiveContainer>
      </div>
      <figcaption>
        <details>
          <summary className="wall-small w-fit cursor-pointer underline underline-offset-4">
            The same as a table
          </summary>
          <table className="mt-1 wall-small">
            <thead>
              <tr className="text-left">
                <th className="pr-6">Stopped after</th>
                <th>Tries</th>
              </tr>
            </thead>
            <tbody>
              {tally.bars.map((bar) => (
                <tr key={bar.from}>
                  <td className="pr-6">{bar.label}</td>
                  <td className="tabular-nums">{bar.count}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </details>
      </figcaption>
    </figure>
  );
}
