import { styled } from 'styled-components';

/** What has to be seen or answered, above every page. */
export const AlarmBar = styled.section`
  background: ${({ theme }) => theme.alarm};
  color: #fff;
  padding: 0.7rem 1.1rem;
  display: flex;
  flex-direction: column;
  gap: 0.4rem;
  h2 {
    color: inherit;
    font-size: 1.35rem;
  }
  header {
    display: flex;
    flex-wrap: wrap;
    gap: 0.4rem 1.2rem;
    align-items: center;
  }
  header button {
    margin-left: auto;
  }
  ol {
    list-style: decimal;
    margin: 0;
    padding-left: 1.4rem;
    font-size: 1.08rem;
  }
  a {
    color: inherit;
  }
  button {
    border-color: #fff;
  }
`;
