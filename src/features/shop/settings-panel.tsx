'use client';

import { tr, trOf, word } from '@/words/tr';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState, useTransition } from 'react';
import type { Outcome } from '@/shop/outcome';
import type { Shop } from '@/server/shop/shop';
import { useAskAnew } from '@/ui/ask-anew';
import { changedOnly } from '@/ui/changed';
import { useSay } from '@/ui/snack';
import { LANGUAGES } from '@/words/speaker';
import { FigureField } from '@/ui/fields/figure-field';
import type { QuantityKind } from '@/core/units';

const CHOICES = {
  language: Object.entries(LANGUAGES),
  massUnit: [
    ['g', word('grams')],
    ['oz', word('ounces')],
  ],
  tempUnit: [
    ['C', '°C'],
    ['F', '°F'],
  ],
  lengthUnit: [
    ['cm', word('centimetres')],
    ['in', word('inches')],
  ],
  get mixedBy() {
    return [
      ['mixer', tr`a mixer`],
      ['hand', word('hand')],
    ];
  },
  get waste() {
    return [
      ['with discard', tr`with what is left used or thrown`],
      ['without discard', tr`without discard: all of the jar goes in`],
    ];
  },
  yeastType: [
    ['fresh', word('fresh')],
    ['active dry', word('active dry')],
    ['instant', word('instant')],
  ],
} as const;

type Texts = Record<
  | 'name'
  | 'timeZone'
  | 'scaleStepG'
  | 'fineStepG'
  | 'workFrom'
  | 'workUntil'
  | 'people'
  | 'tapC'
  | 'surePct'
  | keyof typeof CHOICES,
  string
>;

const LABELS: Readonly<Record<keyof Texts, string>> = {
  get name() {
    return tr`Shop`;
  },
  get timeZone() {
    return tr`Time zone`;
  },
  get scaleStepG() {
    return tr`Scale step`;
  },
  get fineStepG() {
    return tr`Yeast scale step`;
  },
  get workFrom() {
    return tr`Working hours from`;
  },
  get workUntil() {
    return tr`Working hours to`;
  },
  get people() {
    return tr`People, with commas`;
  },
  get tapC() {
    return tr`Tap water`;
  },
  get surePct() {
    return tr`A service is covered from, %`;
  },
  get mixedBy() {
    return tr`Doughs are mixed by`;
  },
  get waste() {
    return tr`Starters are fed`;
  },
  get massUnit() {
    return tr`Weights in`;
  },
  get tempUnit() {
    return tr`Degrees in`;
  },
  get lengthUnit() {
    return tr`Lengths in`;
  },
  get yeastType() {
    return tr`Yeast in the house`;
  },
  get language() {
    return tr`Language`;
  },
};

/** What is typed in the shop’s units. */
const FIGURES: Readonly<Partial<Record<keyof Texts, QuantityKind>>> = {
  scaleStepG: 'mass',
  fineStepG: 'mass',
  tapC: 'temperature',
};

const two = (n: number) => String(n).padStart(2, '0');
const clock = (minute: number) => `${two(Math.floor(minute / 60))}:${two(minute % 60)}`;

/** "06:30" as minutes of the day; what is not a time goes on as it is, to be refused by name. */
function minuteOf(text: string): number | string {
  const match = /^(\d{1,2}):(\d{2})$/.exec(text.trim());
  return match === null ? text : Number(match[1]) * 60 + Number(match[2]);
}

function textsOf(shop: Shop): Texts {
  return {
    name: shop.name,
    timeZone: shop.timeZone,
    massUnit: shop.massUnit,
    language: shop.language,
    tempUnit: shop.tempUnit,
    lengthUnit: shop.lengthUnit,
    mixedBy: shop.mixedBy,
    waste: shop.waste,
    yeastType: shop.yeastType,
    scaleStepG: String(shop.scaleStepG),
    fineStepG: String(shop.fineStepG),
    workFrom: clock(shop.workFromMinute),
    workUntil: clock(shop.workUntilMinute),
    people: shop.people.join(', '),
    tapC: String(shop.tapC),
    surePct: String(shop.surePct),
  };
}

/** The fields that are sent, as the shop takes them. */
function formOf({ workFrom, workUntil, people, ...rest }: Partial<Texts>) {
  return {
    ...rest,
    ...(workFrom === undefined ? {} : { workFromMinute: minuteOf(workFrom) }),
    ...(workUntil === undefined ? {} : { workUntilMinute: minuteOf(workUntil) }),
    ...(people === undefined
      ? {}
      : {
          people: people
            .split(',')
            .map((one) => one.trim())
            .filter((one) => one !== ''),
        }),
  };
}

/** The shop’s own settings. */
export function SettingsPanel(props: {
  shop: Shop;
  change: (form: unknown) => Promise<Outcome<{ before: Shop | null }>>;
}) {
  const { shop, change } = props;
  const [opened, setOpened] = useState(() => textsOf(shop));
  const [texts, setTexts] = useState(opened);
  const [wrong, setWrong] = useState<Readonly<Record<string, string>>>({});
  const [busy, start] = useTransition();
  const askAnew = useAskAnew();
  const say = useSay();
  const save = () =>
    start(async () => {
      const { changed, before } = changedOnly(opened, texts);
      const outcome = await change(formOf(changed));
      if (!outcome.ok) {
        setWrong(
          Object.fromEntries(outcome.refusals.map((one) => [one.field ?? '', one.sentence])),
        );
        return;
      }
      setWrong({});
      setOpened(texts);
      // Everything on the page is said anew, what it has worked out before too.
      if (changed.language !== undefined) {
        window.location.reload();
        return;
      }
      say({
        text: tr`Saved.`,
        action: {
          label: tr`Undo`,
          run: () => {
            setTexts(opened);
            setOpened(opened);
            void change(formOf(before)).then(() => askAnew());
          },
        },
      });
      askAnew();
    });
  const field = (name: keyof Texts) => {
    const options = name in CHOICES ? CHOICES[name as keyof typeof CHOICES] : null;
    const error =
      wrong[name] ??
      wrong[
        { workFrom: 'workFromMinute', workUntil: 'workUntilMinute' }[name as 'workFrom'] ?? name
      ];
    const kind = FIGURES[name];
    if (kind !== undefined) {
      return (
        <FigureField
          key={name}
          name={name}
          label={LABELS[name]}
          of={kind}
          value={texts[name]}
          error={error}
          onChange={(typed) => setTexts({ ...texts, [name]: typed })}
        />
      );
    }
    return (
      <TextField
        key={name}
        name={name}
        label={LABELS[name]}
        value={texts[name]}
        onChange={(event) => setTexts({ ...texts, [name]: event.target.value })}
        error={error !== undefined}
        helperText={error ?? ''}
        select={options !== null}
        slotProps={options === null ? {} : { select: { native: true } }}
      >
        {options?.map(([value, label]) => (
          <option key={value} value={value}>
            {trOf(label)}
          </option>
        ))}
      </TextField>
    );
  };
  return (
    <Box
      component="form"
      noValidate
      aria-label={tr`Shop settings`}
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
      sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 2 }}
    >
      {(Object.keys(LABELS) as (keyof Texts)[]).map(field)}
      <Button
        type="submit"
        variant="contained"
        size="large"
        disabled={busy}
        sx={{ justifySelf: 'start' }}
      >
        {tr`Save`}
      </Button>
    </Box>
  );
}
