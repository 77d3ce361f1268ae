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
            onChange={(id) =>
              onChange({ ...method, schools: { ...method.schools, [question]: id } })
            }
          />
          <Typography variant="body2" color="text.secondary">
            {schoolSays(question, method.schools[question])}
          </Typography>
        </Box>
      ))}
    </Box>
  );
}
