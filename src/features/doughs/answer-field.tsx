'use client';

import { tr } from '@/words/tr';
import { useState } from 'react';
import { FigureField } from '@/ui/fields/figure-field';

/** Grams for a line that waits for them: taken when the field is left or with Enter. */
export function AnswerField(props: {
  name: string;
  value: number | undefined;
  onAnswer: (massG: number | null) => void;
}) {
  const { name, value, onAnswer } = props;
  const [text, setText] = useState(value === undefined ? '' : String(value));
  const [wrong, setWrong] = useState(false);
  const take = () => {
    const massG = Number(text.replace(',', '.'));
    if (text.trim() === '') return onAnswer(null);
    const fits = Number.isFinite(massG) && massG >= 0.01 && massG <= 1_000_000;
    setWrong(!fits);
    if (fits) onAnswer(massG);
  };
  return (
    <FigureField
      name={name}
      label={tr`is`}
      of="mass"
      value={text}
      error={wrong ? tr`Allowed: 0.01 to 1000000 g.` : undefined}
      onChange={setText}
      onLeave={take}
      onEnterKey={take}
      width={96}
    />
  );
}
