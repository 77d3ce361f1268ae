import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { scaleLinear } from 'd3';
import type { PracticeView } from '@/server/practice/practice';

const BAR = 9;
const HEIGHT = 44;

/** The last rounds as bars: points of each, a wrong judgement hatched. */
export function Past({ rounds }: { rounds: PracticeView['rounds'] }) {
  if (rounds.length === 0) {
    return <Typography sx={{ px: 2 }}>{tr`Read the jar, say what it is, and see why.`}</Typography>;
  }
  const y = scaleLinear([0, 100], [2, HEIGHT]);
  const right = rounds.filter((one) => one.right).length;
  const mean = rounds.reduce((sum, one) => sum + one.points, 0) / rounds.length;
  return (
    <Box sx={{ display: 'flex', gap: 2, alignItems: 'center', px: 2 }} data-testid="practice-past">
      <svg
        width={rounds.length * BAR}
        height={HEIGHT}
        role="img"
        aria-label={tr`Points of the last ${rounds.length} jars: ${rounds.map((one) => one.points).join(', ')}`}
      >
        {rounds.map((one, index) => (
          <rect
            key={one.id}
            x={index * BAR + 1}
            width={BAR - 2}
            y={HEIGHT - y(one.points)}
            height={y(one.points)}
            fill={one.right ? 'var(--ink)' : 'var(--paper)'}
            stroke="var(--ink)"
          />
        ))}
      </svg>
      <Typography>
        <strong>{right}</strong>
        {tr` of the last ${rounds.length} right, ${Math.round(mean)} points on average`}
      </Typography>
    </Box>
  );
}
