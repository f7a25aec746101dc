import { styled } from 'styled-components';

export const Table = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(380px, 480px);
  gap: 1rem;
  align-items: start;
  > div {
    display: flex;
    flex-direction: column;
    gap: 1rem;
  }
  > aside {
    position: sticky;
    top: 1rem;
    display: flex;
    flex-direction: column;
    gap: 1rem;
    max-height: calc(100vh - 2rem);
    overflow: auto;
  }
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
    > aside {
      position: static;
      max-height: none;
    }
  }
`;
