'use client';

import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { SCHOOLS, SCHOOL_QUESTIONS, schoolSays, type Method, type Schools } from '@/core/methods';
import { ChoiceField } from '@/ui/fields/choice-field';

const QUESTIONS = Object.keys(SCHOOL_QUESTIONS) as (keyof Schools)[];

/** The schools of a method: a choice each, with the line that says when it is used. */
export function SchoolsPanel(props: { method: Method; onChange: (method: Method) => void }) {
  const { method, onChange } = props;
  return (
    <Box sx={{ display: 'grid', gap: 1.25 }}>
      {QUESTIONS.map((question) => (
        <Box key={question}>
          <ChoiceField
            name={`school-${question}`}
            label={SCHOOL_QUESTIONS[question]}
            value={method.schools[question]}
            options={SCHOOLS[question]}
            onChange={(id) => onChange(asked(method, question, id))}
          />
          <Typography variant="body2" color="text.secondary">
            {schoolSays(question, method.schools[question])}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}

/** Schools that say when something is added: a preset of the order, in place of one of the method’s own. */
const OF_ORDER: ReadonlySet<keyof Schools> = new Set(['yeast', 'salt']);

function asked(method: Method, question: keyof Schools, id: string): Method {
  const { order, ...mix } = method.mix;
  const kept = OF_ORDER.has(question) || order === undefined ? mix : { ...mix, order };
  return { ...method, mix: kept, schools: { ...method.schools, [question]: id } };
}
