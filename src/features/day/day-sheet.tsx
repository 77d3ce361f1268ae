import { tr } from '@/words/tr';
import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Typography from '@mui/material/Typography';
import { rem } from '@/ui/rem';
import { TableHeads } from '@/ui/table-heads';

/** One table of the day. */
export function Sheet(props: {
  title: string;
  heads: readonly string[];
  rows: readonly (readonly string[])[];
}) {
  const { title, heads, rows } = props;
  return (
    <Box component="section" aria-label={title} sx={{ mb: 3, overflowX: 'auto' }}>
      <Typography
        variant="h2"
        sx={{
          minHeight: 48,
          display: 'flex',
          alignItems: 'center',
          '@media print': { minHeight: 0 },
        }}
      >
        {title}
      </Typography>
      {rows.length === 0 ? (
        <Typography color="text.secondary">{tr`Nothing.`}</Typography>
      ) : (
        <Rows heads={heads} rows={rows} />
      )}
    </Box>
  );
}

function Rows({ heads, rows }: { heads: readonly string[]; rows: readonly (readonly string[])[] }) {
  return (
    <Table size="small" sx={{ '& td, & th': { fontSize: rem(15), borderColor: 'var(--line)' } }}>
      <TableHeads of={heads} />
      <TableBody>
        {rows.map((row) => (
          <TableRow key={row.join(' ')}>
            {row.map((cell, index) => (
              <TableCell
                key={`${heads[index]}`}
                {...(index === 0 ? { component: 'th', scope: 'row' } : {})}
              >
                {cell}
              </TableCell>
            ))}
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}
