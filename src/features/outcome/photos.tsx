'use client';

import AddAPhoto from '@mui/icons-material/AddAPhoto';
import Delete from '@mui/icons-material/Delete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import { useState } from 'react';
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
  const add = async (files: FileList | null) => {
    setBusy(true);
    let kept = photos;
    for (const file of [...(files ?? [])].slice(0, MOST - photos.length)) {
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
            alt={`Photo ${index + 1} of the bake`}
            sx={{ height: 96, borderRadius: 1, display: 'block' }}
          />
          <IconButton
            aria-label={`Leave photo ${index + 1} out`}
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
        <Button component="label" startIcon={<AddAPhoto />} disabled={busy}>
          {busy ? 'Keeping …' : 'Add a photo'}
          <input
            type="file"
            accept="image/*"
            capture="environment"
            multiple
            className="visually-hidden"
            data-testid="photo-file"
            onChange={(event) => {
              void add(event.target.files);
              event.target.value = '';
            }}
          />
        </Button>
      )}
    </Box>
  );
}
