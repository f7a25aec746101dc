import type { ReactNode } from 'react';
import { styled } from 'styled-components';

export const Pictures = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  figure {
    margin: 0;
    width: 190px;
  }
  img {
    width: 190px;
    height: 130px;
    object-fit: cover;
    display: block;
    border: 1px solid ${({ theme }) => theme.line};
  }
  figcaption {
    font-size: 0.9rem;
    color: ${({ theme }) => theme.quiet};
  }
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
