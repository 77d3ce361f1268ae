'use client';

import { inSentence, tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useSyncExternalStore, type ReactNode } from 'react';
import type { FirstQuestions } from '@/shop/begin/first-questions';
import { FormFrame } from '@/ui/fields/form-frame';
import { HouseDaysProvider } from '@/ui/fields/house-days';
import { ShopUnitsProvider } from '@/ui/fields/shop-units';
import { SpanFields } from '@/ui/fields/span-fields';
import { useFormFields } from '@/ui/fields/use-form-fields';
import { useSend } from '@/ui/hands/use-send';
import { newBatch } from '@/ui/hands/use-act';
import { DemoLook } from '@/ui/panels/demo-look';
import { rem } from '@/ui/rem';
import { beginForm, firstAnswers, inOtherUnits, inOtherZone, UNITS, type Answers } from './answers';
import { UnitsChoice, ZoneChoice, LanguageChoice, type BeginActions } from './begin-choices';

/** What the questions go by. */
interface BeginProps {
  readonly first: FirstQuestions;
  /** Now, as the server gave it, and how fast its clock goes. */
  readonly nowMs: number;
  readonly rate: number;
  /** The zone of the server. */
  readonly timeZone: string;
  readonly actions: BeginActions;
}

/** An empty shop: three questions, then the first plans. They are asked anew by the clock of the device once that is known. */
export function BeginShop(props: BeginProps) {
  const deviceZone = useDeviceZone() ?? props.timeZone;
  return <Questions key={deviceZone} deviceZone={deviceZone} {...props} />;
}

function Questions(props: BeginProps & { deviceZone: string }) {
  const { first, nowMs, rate, timeZone, deviceZone, actions } = props;
  const { send, busy, wrong } = useSend();
  const form = useFormFields<Answers>(() => firstAnswers(first, nowMs, deviceZone), wrong);
  const { values: answers, change: set, errors, text, figure, hour } = form;
  const zone = answers.zone ?? deviceZone;
  const house = useMemo(
    () => ({ nowMs, rate, units: { timeZone: zone }, services: {} }),
    [nowMs, rate, zone],
  );
  const router = useRouter();
  const begin = () =>
    send(() => actions.beginShop({ ...beginForm(answers, nowMs, zone), batch: newBatch() }), {
      then: () => router.push('/plan'),
    });
  const shownBy = new Set(['roomC', 'balls', 'readyFrom', 'readyTo', 'name', 'fedAt', 'massG']);
  const others = Object.entries(errors).filter(([field]) => !shownBy.has(field));
  return (
    <HouseDaysProvider house={house}>
      <ShopUnitsProvider units={UNITS[answers.units]}>
        <FormFrame
          label={tr`First questions`}
          onSave={begin}
          sx={{ flex: 1, background: 'var(--paper)', p: { xs: 2, md: 3 } }}
        >
          <Box sx={{ display: 'grid', gap: { xs: 3, md: 2.5 }, maxWidth: 1080 }}>
            <Question number="1" title={tr`How warm is the ${inSentence(first.roomName)}?`}>
              {figure('roomC', tr`Room`, 'temperature', {
                hint: tr`as it usually is while you work`,
              })}
              <LanguageChoice change={actions.changeShop} />
              <UnitsChoice
                units={answers.units}
                onUnits={(units) => set(inOtherUnits(answers, units))}
              />
              <ZoneChoice
                zones={[timeZone, deviceZone]}
                zone={zone}
                onZone={(after) => set(inOtherZone(answers, nowMs, { before: zone, after }))}
              />
            </Question>
            <Question number="2" title={tr`How many pizzas, and when?`}>
              {figure('balls', tr`Pizzas`, undefined, { whole: true })}
              <SpanFields
                readyFrom={answers.readyFrom}
                readyTo={answers.readyTo}
                wrong={errors}
                onChange={set}
              />
            </Question>
            <Question number="3" title={tr`Do you keep a starter?`}>
              <ToggleButtonGroup
                exclusive
                value={answers.keeps}
                onChange={(_, keeps: Answers['keeps'] | null) => {
                  if (keeps !== null) set({ keeps });
                }}
                aria-label={tr`A starter`}
              >
                <ToggleButton value="no">{tr`No, baker’s yeast`}</ToggleButton>
                <ToggleButton value="yes">{tr`Yes`}</ToggleButton>
              </ToggleButtonGroup>
              {answers.keeps === 'yes' ? (
                <>
                  {text('name', tr`Its name`)}
                  {hour('fedAt', tr`Last fed`)}
                  {figure('massG', tr`In the jar`, 'mass')}
                  <Typography variant="body2" color="text.secondary" sx={{ gridColumn: '1 / -1' }}>
                    {tr`Taken to be as wet as its flour is heavy, and fed four of flour to one of itself: its page says so, and takes it otherwise.`}
                  </Typography>
                </>
              ) : null}
            </Question>
            {others.length === 0 ? null : (
              <Alert severity="warning">{others.map(([, sentence]) => sentence).join(' ')}</Alert>
            )}
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center' }}>
              <Button
                type="submit"
                variant="contained"
                size="large"
                disabled={busy}
                sx={{ px: 5, py: 2, fontSize: rem(20) }}
              >
                {tr`Show me plans`}
              </Button>
              <Typography variant="body2">
                {tr`Or: `}
                <Link href="/bakes/new">{tr`Plan a first bake`}</Link>
                {tr` by its grams · `}
                <Link href="/doughs/check">{tr`check a recipe`}</Link>
                {tr` you have · `}
                <Link href="/words">{tr`the words and the first steps`}</Link>
              </Typography>
            </Box>
            <DemoLook look={actions.lookAtDemo} />
          </Box>
        </FormFrame>
      </ShopUnitsProvider>
    </HouseDaysProvider>
  );
}

/** One question with its fields beside each other. */
function Question(props: { number: string; title: string; children: ReactNode }) {
  const { number, title, children } = props;
  return (
    <Box component="section" aria-label={title}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        <Box component="span" sx={{ color: 'var(--ink2)', mr: 1.5 }}>
          {number}
        </Box>
        {title}
      </Typography>
      <Box
        sx={{
          display: 'grid',
          gridTemplateColumns: {
            xs: 'minmax(0, 1fr)',
            sm: 'repeat(2, minmax(0, 1fr))',
            md: 'repeat(4, minmax(0, 1fr))',
          },
          gap: 2,
          alignItems: 'start',
          pl: { sm: 4 },
        }}
      >
        {children}
      </Box>
    </Box>
  );
}

const never = () => () => undefined;
/** The time zone of the device; null while the page still stands as the shop sent it. */
const useDeviceZone = (): string | null =>
  useSyncExternalStore(
    never,
    () => Intl.DateTimeFormat().resolvedOptions().timeZone,
    () => null,
  );
