import Typography from '@mui/material/Typography';
import { cautionsAt, codesFirst, type CautionAt } from '@/core/cautions';

/** The usual cautions where they matter, in small, with whose rules come first. */
export function CautionLine({ at }: { at: CautionAt }) {
  return (
    <Typography variant="body2" component="p">
      {cautionsAt(at).map((caution) => (
        <span key={caution.id} data-caution={caution.id}>
          {caution.sentence}{' '}
        </span>
      ))}
      {codesFirst()}
    </Typography>
  );
}
