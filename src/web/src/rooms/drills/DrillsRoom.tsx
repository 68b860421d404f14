import { useParams } from 'react-router';
import { ProgressProvider } from './ProgressContext';
import { DrillsHome } from './DrillsHome';
import { DrillPage } from './play/DrillPage';
import { QuizPage } from './quiz/QuizPage';

/** Made-up waters to be wrong about before the trip. */
export function DrillsRoom() {
  const { page } = useParams();
  return (
    <ProgressProvider>
      {page === 'play' ? <DrillPage /> : page === 'quiz' ? <QuizPage /> : <DrillsHome />}
    </ProgressProvider>
  );
}
