import { styled } from 'styled-components';

/** A clock of the work, read across the room. */
export const Clock = styled.section`
  display: flex;
  flex-direction: column;
  gap: 0.6rem;
  padding: 0.9rem 1.1rem;
  border-radius: 5px;
  background: ${({ theme }) => theme.blueDeep};
  color: ${({ theme }) => theme.scribe};
  a {
    color: inherit;
  }
  h3 {
    margin: 0;
    font-size: 1.3rem;
  }
  h3 a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
  }
  > header {
    display: flex;
    flex-wrap: wrap;
    gap: 0.2rem 1rem;
    align-items: baseline;
    justify-content: space-between;
  }
  [data-time] {
    font-family: ${({ theme }) => theme.label};
    font-variant-numeric: tabular-nums;
    font-weight: 700;
    font-size: clamp(3.4rem, 9vw, 5rem);
    line-height: 1;
  }
  [data-of] {
    font-size: 1.25rem;
  }
  [data-next] {
    font-size: 1.1rem;
  }
  &[data-calls] {
    outline: 5px solid #ffd98a;
    outline-offset: -5px;
  }
  [data-call] {
    background: #ffd98a;
    color: #17191c;
    padding: 0.5rem 0.8rem;
    font-size: 1.25rem;
    font-weight: 700;
    margin: 0;
  }
  progress {
    width: 100%;
    height: 12px;
    accent-color: #ffd98a;
  }
  button[data-large] {
    min-height: 64px;
    font-size: 1.2rem;
  }
  button[data-kind='main'] {
    background: #ffd98a;
    border-color: #ffd98a;
    color: #17191c;
  }
  [data-presses] {
    margin-inline-start: auto;
  }
`;
