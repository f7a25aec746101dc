import { styled } from 'styled-components';

/** A station's room: what lies here at the left, the picture in the middle, the instruments at the right; on a tablet below each other. */
export const Thirds = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 17rem) minmax(0, 1fr) minmax(0, 20rem);
  gap: 1rem;
  align-items: start;
  > div {
    display: flex;
    flex-direction: column;
    gap: 1rem;
  }
  @media (max-width: 1100px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
