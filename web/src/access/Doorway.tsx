import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { About } from './About';

const Band = styled.header`
  background: ${({ theme }) => theme.blue};
  color: ${({ theme }) => theme.scribe};
  padding: 1.6rem max(1.5rem, calc((100vw - 760px) / 2));
  svg {
    display: block;
    width: 240px;
    margin-bottom: 0.6rem;
  }
`;

const Room = styled.main`
  width: min(760px, 94vw);
  margin: 1.4rem auto;
  display: flex;
  flex-direction: column;
  gap: 1.2rem;
`;

/** The page before anybody is known. */
export function Doorway({ title, children }: { title: string; children: ReactNode }) {
  return (
    <>
      <Band>
        <svg viewBox="0 0 240 34" fill="none" stroke="currentColor" strokeWidth="1.2" aria-hidden="true">
          <path
            d="M2 11 Q40 8 82 11 V25 Q40 28 6 24 Q0 18 2 11Z M84 6 h5 v23 h-5Z M89 11 H190
            Q222 12 238 19 Q215 27 180 27 H100 V25 H89"
          />
          <path d="M100 27 Q100 15 112 15 H185 Q215 16 236 19" strokeDasharray="3 2" />
        </svg>
        <h1>{title || 'Hilt Board'}</h1>
      </Band>
      <Room>
        {children}
        <About />
      </Room>
    </>
  );
}
