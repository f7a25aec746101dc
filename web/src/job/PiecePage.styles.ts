import { styled } from 'styled-components';

export const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 1rem;
  align-items: start;
  > div {
    display: flex;
    flex-direction: column;
    gap: 1rem;
  }
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
