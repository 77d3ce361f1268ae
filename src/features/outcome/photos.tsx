'use client';

import { tr } from '@/words/tr';
import AddAPhoto from '@mui/icons-material/AddAPhoto';
import Delete from '@mui/icons-material/Delete';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import { useState } from 'react';
import { FileButton } from '@/ui/file-button';
import { sendPhoto } from './photo-file';

const MOST = 12;

/** Photos of a bake, from the camera or a file; each is made small, and nothing else of the file is kept. */
export function Photos(props: {
  photos: readonly string[];
  onChange: (photos: readonly string[]) => void;
  onRefusal: (sentence: string) => void;
}) {
  const { photos, onChange, onRefusal } = props;
  const [busy, setBusy] = useState(false);
  const add = async (files: readonly File[]) => {
    setBusy(true);
    let kept = photos;
    for (const file of files.slice(0, MOST - photos.length)) {
      const sent = await sendPhoto(file);
      if ('name' in sent) kept = [...kept, sent.name];
      else onRefusal(sent.sentence);
    }
    onChange(kept);
    setBusy(false);
  };
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
      {photos.map((name, index) => (
        <Box key={name} sx={{ position: 'relative' }}>
          <Box
            component="img"
            src={`/photos/${name}`}
            alt={tr`Photo ${index + 1} of the bake`}
            sx={{ height: 96, borderRadius: 1, display: 'block' }}
          />
          <IconButton
            aria-label={tr`Leave photo ${index + 1} out`}
            onClick={() => onChange(photos.filter((one) => one !== name))}
            sx={{
              position: 'absolute',
              top: 0,
              right: 0,
              background: 'var(--paper)',
              '&:hover': { background: 'var(--flour)' },
            }}
          >
            <Delete />
          </IconButton>
        </Box>
      ))}
      {photos.length >= MOST ? null : (
        <FileButton
          accept="image/*"
          multiple
          camera
          testId="photo-file"
          startIcon={<AddAPhoto />}
          disabled={busy}
          onFiles={(files) => void add(files)}
        >
          {busy ? tr`Keeping …` : tr`Add a photo`}
        </FileButton>
      )}
    </Box>
  );
}
