'use client';

import { tr } from '@/words/tr';
import Search from '@mui/icons-material/Search';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Drawer from '@mui/material/Drawer';
import List from '@mui/material/List';
import ListItemButton from '@mui/material/ListItemButton';
import ListItemText from '@mui/material/ListItemText';
import Typography from '@mui/material/Typography';
import useMediaQuery from '@mui/material/useMediaQuery';
import Link from 'next/link';
import { MORE, type NamedView } from './views';

/** Every other view in its group, with one line each. */
export function MoreSheet(props: {
  open: boolean;
  current: NamedView | null;
  onClose: () => void;
  onFind: () => void;
}) {
  const { open, current, onClose, onFind } = props;
  const phone = useMediaQuery('(max-width: 599px)');
  return (
    <Drawer
      anchor={phone ? 'bottom' : 'left'}
      open={open}
      onClose={onClose}
      slotProps={{
        paper: {
          role: 'dialog',
          'aria-label': tr`More views`,
          sx: {
            background: 'var(--paper)',
            color: 'var(--ink)',
            width: { xs: '100%', sm: 660 },
            maxHeight: { xs: '85dvh', sm: 'none' },
            p: 2.5,
            outline: 'none',
            borderRight: { sm: '2px solid var(--ink)' },
            borderTop: { xs: '2px solid var(--ink)', sm: 0 },
          },
        },
      }}
    >
      <Button
        startIcon={<Search />}
        onClick={onFind}
        aria-keyshortcuts="/"
        sx={{ justifyContent: 'flex-start', mb: 1 }}
      >
        {tr`Find a lot, a bake, a word …`}
      </Button>
      <Box sx={{ columnCount: { sm: 2 }, columnGap: 3 }}>
        {MORE.map((group) => (
          <Box
            key={group.name}
            component="section"
            aria-label={group.name}
            sx={{ pt: 1.5, breakInside: 'avoid' }}
          >
            <Typography variant="h3" component="h2" sx={{ px: 1 }}>
              {group.name}
            </Typography>
            <List dense disablePadding>
              {group.views.map((view) => (
                <ListItemButton
                  key={view.href}
                  component={Link}
                  href={view.href}
                  onClick={onClose}
                  selected={view === current}
                  aria-current={view === current ? 'page' : undefined}
                  sx={{ px: 1, py: 0.5, minHeight: 52, alignItems: 'flex-start' }}
                >
                  <ListItemText
                    primary={view.name}
                    secondary={view.says}
                    sx={{ my: 0 }}
                    slotProps={{ secondary: { sx: { color: 'var(--ink2)' } } }}
                  />
                  {view.key === undefined || phone ? null : (
                    <Typography
                      component="kbd"
                      variant="caption"
                      noWrap
                      sx={{ color: 'var(--ink2)', flex: 'none' }}
                    >
                      {`g ${view.key}`}
                    </Typography>
                  )}
                </ListItemButton>
              ))}
            </List>
          </Box>
        ))}
      </Box>
    </Drawer>
  );
}
