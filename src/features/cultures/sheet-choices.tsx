import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import type { FeedChoice } from '@/core/cultures';
import { useShopUnits, type FigureUnits } from '@/ui/fields/shop-units';
import { boundText, gramsText, ratioText } from './feed-words';
import { SMALL, SmallCurve } from './sheet-parts';

/** The same wish elsewhere and at other hours; a tap takes one over. */
export function Choices(props: {
  title: string;
  choices: readonly FeedChoice[];
  nameOf: (choice: FeedChoice) => string;
  onTake: (choice: FeedChoice) => void;
}) {
  const { title, choices, nameOf, onTake } = props;
  const units = useShopUnits();
  if (choices.length === 0) return null;
  return (
    <Box component="section" aria-label={title}>
      <Typography variant="h2">{title}</Typography>
      <Box sx={{ display: 'flex', gap: 0.5, flexWrap: { xs: 'wrap', md: 'nowrap' } }}>
        {choices.map((choice) => (
          <ChoiceButton
            key={`${choice.placeId} ${choice.readyMs}`}
            choice={choice}
            onTake={onTake}
            nameOf={nameOf}
            units={units}
          />
        ))}
      </Box>
    </Box>
  );
}

function ChoiceButton(props: {
  choice: FeedChoice;
  onTake: (choice: FeedChoice) => void;
  nameOf: (choice: FeedChoice) => string;
  units: FigureUnits;
}) {
  const { choice, onTake, nameOf, units } = props;
  return (
    <ButtonBase
      onClick={() => onTake(choice)}
      sx={{
        display: 'block',
        textAlign: 'left',
        p: 0.5,
        borderRadius: '6px 14px 14px 6px',
        '&:hover, &:focus-visible': { background: 'var(--flour)' },
        '&:focus-visible': { outline: '3px solid var(--ink)' },
      }}
    >
      <SmallCurve choice={choice} />
      <Typography variant="body2" sx={{ fontWeight: 700 }}>
        {nameOf(choice)}
      </Typography>
      <Typography variant="body2" sx={{ fontWeight: 700 }}>
        {ratioText(choice.amounts)}
      </Typography>
      <Typography variant="caption" component="p" sx={{ width: SMALL.width }}>
        {choice.bound === null ? gramsText(choice.amounts, units) : boundText(choice.bound, units)}
      </Typography>
    </ButtonBase>
  );
}
