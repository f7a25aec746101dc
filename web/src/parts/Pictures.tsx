import type { ReactNode } from 'react';
import { FileTrigger } from 'react-aria-components';
import { styled } from 'styled-components';
import { Press } from './Press';

export const Pictures = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  figure { margin: 0; width: 190px; }
  img { width: 190px; height: 130px; object-fit: cover; display: block; border: 1px solid ${({ theme }) => theme.line}; }
  figcaption { font-size: 0.9rem; color: ${({ theme }) => theme.quiet}; }
`;

interface PictureProps {
  /** The address below which its original and its thumbnail lie. */
  path: string;
  alt: string;
  children: ReactNode;
}

/** A picture that was kept, small, with its caption; pressed, it opens whole. */
export function Picture({ path, alt, children }: PictureProps) {
  return (
    <figure>
      <a href={`${path}/original`} target="_blank" rel="noreferrer">
        <img src={`${path}/thumbnail`} alt={alt} loading="lazy" />
      </a>
      <figcaption>{children}</figcaption>
    </figure>
  );
}

interface TakePictureProps {
  isDisabled?: boolean;
  isLarge?: boolean;
  /** Takes a PDF as well. */
  isPaperToo?: boolean;
  onTaken: (picture: File) => void;
  children: ReactNode;
}

/** A press that asks for a picture, which a tablet takes on the spot. */
export function TakePicture({ isDisabled, isLarge, isPaperToo, onTaken, children }: TakePictureProps) {
  const take = (files: FileList | null) => {
    const picture = files?.[0];
    if (picture) {
      onTaken(picture);
    }
  };
  return (
    <FileTrigger acceptedFileTypes={isPaperToo ? ['image/*', 'application/pdf'] : ['image/*']} onSelect={take}>
      <Press data-large={isLarge || undefined} isDisabled={isDisabled}>
        {children}
      </Press>
    </FileTrigger>
  );
}
