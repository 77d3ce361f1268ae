import type { SxProps, Theme } from '@mui/material/styles';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';

/** A column’s head that is more than its name. */
interface Head {
  readonly name: string;
  readonly align?: 'right';
  readonly sx?: SxProps<Theme>;
}

/** The head of a column of figures. */
export const figures = (name: string, sx?: SxProps<Theme>): Head => ({
  name,
  align: 'right',
  ...(sx === undefined ? {} : { sx }),
});

/** The head of a table: its columns by their names, which differ. */
export function TableHeads({ of }: { of: readonly (string | Head)[] }) {
  return (
    <TableHead>
      <TableRow>
        {of.map((head) => {
          const { name, ...look } = typeof head === 'string' ? { name: head } : head;
          return (
            <TableCell key={name} {...look}>
              {name}
            </TableCell>
          );
        })}
      </TableRow>
    </TableHead>
  );
}
