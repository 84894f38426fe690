import type { ClassPage, ClassRow, OwnLesson, TrainingPage, WipedClass } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';

export const classesKey = ['classes'];
const classRowsKey = [...classesKey, 'rows'];

export const classesQuery = queryOptions({
  queryKey: classRowsKey,
  queryFn: () => api.get<readonly ClassRow[]>('/classes'),
});
/** Classes that a lot was a sample of. */
export const classesOfLotQuery = (lotId: string) =>
  queryOptions({
    queryKey: [...classesKey, 'lot', lotId],
    queryFn: () => api.get<readonly ClassRow[]>(`/classes?lot=${lotId}`),
  });
export const classQuery = (id: string) =>
  queryOptions({ queryKey: [...classesKey, id], queryFn: () => api.get<ClassPage>(`/classes/${id}`) });
export const lessonsQuery = queryOptions({
  queryKey: ['lessons'],
  queryFn: () => api.get<readonly OwnLesson[]>('/lessons'),
});
export const wipesQuery = queryOptions({
  queryKey: [...classesKey, 'wipes'],
  queryFn: () => api.get<readonly WipedClass[]>('/class-wipes'),
});
export const trainingQuery = queryOptions({
  queryKey: ['training'],
  queryFn: () => api.get<TrainingPage>('/training'),
});
