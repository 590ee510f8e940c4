/** A picture of the flame or tube, taken with the entry; of a flame, what its colour suggests, which is never logged by itself. */
import { Box, chakra } from '@chakra-ui/react';
import { Camera, X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Button } from '../kit/Button.js';
import { Notice } from '../kit/Notice.js';
import { makeSmall, photoBox, type SmallPhoto } from './photos.js';

interface PhotoPartProps {
  readonly student: string;
  /** The picture the draft has, by id. */
  readonly photo: string | undefined;
  readonly change: (photo: string | undefined) => void;
  /** May a colour be suggested? Where one writes in own words it would give the wording away. */
  readonly suggest: boolean;
}

export function PhotoPart({ student, photo, change, suggest }: PhotoPartProps) {
  const input = useRef<HTMLInputElement>(null);
  const [said, setSaid] = useState<SmallPhoto['suggests']>();
  const [problem, setProblem] = useState<string>();
  const take = async (file: File | undefined) => {
    if (!file) return;
    setProblem(undefined);
    try {
      const { jpeg, suggests } = await makeSmall(file);
      setSaid(suggests);
      change(await photoBox.keep(jpeg, student));
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  return (
    <Box display="flex" flexDirection="column" gap="2">
      <chakra.input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        aria-label="Picture"
        srOnly
        onChange={(e) => {
          void take(e.target.files?.[0]);
          e.target.value = '';
        }}
      />
      <Box display="flex" gap="3" alignItems="center" flexWrap="wrap">
        <Button size="bench" minH="12" px="3" fontSize="md" onClick={() => input.current?.click()}>
          <Camera size={20} aria-hidden /> {photo ? 'Take another picture' : 'Take a picture'}
        </Button>
        {photo && (
          <>
            <Photo id={photo} size={72} />
            <Button
              size="bench"
              minH="12"
              px="3"
              aria-label="Leave the picture out"
              onClick={() => {
                setSaid(undefined);
                change(undefined);
              }}
            >
              <X size={20} aria-hidden />
            </Button>
          </>
        )}
      </Box>
      {problem && <Notice tone="stop">{problem}</Notice>}
      {photo && suggest && said && (
        <Notice tone={said.name ? 'tell' : 'look'}>
          {said.name
            ? `The picture looks ${said.name} (${Math.round(said.sure * 100)} %). You decide what you saw.`
            : said.problem}
        </Notice>
      )}
    </Box>
  );
}

/** A picture this device took, or else the server has. */
export function Photo({ id, size = 96 }: { readonly id: string; readonly size?: number }) {
  const [src, setSrc] = useState<string>();
  useEffect(() => {
    let url: string | undefined;
    let gone = false;
    void photoBox.find(id).then((kept) => {
      if (gone) return;
      url = kept && URL.createObjectURL(kept.jpeg);
      setSrc(url ?? `/api/bench/photos/${id}`);
    });
    return () => {
      gone = true;
      if (url) URL.revokeObjectURL(url);
    };
  }, [id]);
  return src ? (
    <chakra.img
      src={src}
      alt="Picture of it"
      maxH={`${size}px`}
      maxW={`${size * 1.5}px`}
      borderRadius="tile"
      border="1px solid"
      borderColor="slate.300"
    />
  ) : null;
}
