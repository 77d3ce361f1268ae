'use client';

import { tr } from '@/words/tr';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { lotOfCode } from '@/shop/labels/lot-of-code';

/** A lot by its code: typed, from a hand scanner that types, or from a photo of its label. */
export function OpenByCode({ codes }: { codes: readonly string[] }) {
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const photo = useRef<HTMLInputElement>(null);
  const router = useRouter();
  const open = (said: string) => {
    const lotId = lotOfCode(said, codes);
    if (lotId === null) {
      setWrong(
        tr`Code: “${said.trim()}” is no lot of this shop. Allowed: a code from a label, such as ${codes.at(-1) ?? 'S1127-1'}.`,
      );
      return;
    }
    router.push(`/lots/${encodeURIComponent(lotId)}`);
  };
  const read = async (file: File | undefined) => {
    if (file === undefined) return;
    const { codeInPhoto } = await import('./code-in-photo');
    const said = await codeInPhoto(file);
    if (said === null)
      setWrong(tr`Photo: no code was found in it. Allowed: the square, whole and sharp.`);
    else open(said);
  };
  return (
    <Box
      component="form"
      noValidate
      aria-label={tr`Open a lot`}
      onSubmit={(event) => {
        event.preventDefault();
        open(text);
      }}
      sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'flex-end' }}
    >
      <TextField
        label={tr`Code on the label`}
        name="code"
        autoFocus
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setWrong(null);
        }}
        error={wrong !== null}
        slotProps={{ htmlInput: { maxLength: 80, autoCapitalize: 'characters' } }}
        sx={{ width: 260 }}
      />
      <Button type="submit" variant="contained" size="large">
        {tr`Open`}
      </Button>
      <Button size="large" onClick={() => photo.current?.click()}>
        {tr`Photo of a label`}
      </Button>
      <input
        ref={photo}
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        onChange={(event) => void read(event.target.files?.[0])}
      />
      {wrong === null ? null : (
        <Alert severity="warning" data-testid="refusal" sx={{ flexBasis: '100%' }}>
          {wrong}
        </Alert>
      )}
    </Box>
  );
}
