import type { SupplierPage, SupplierRow, SuppliersAsked } from '@bent-pail/contract';
import { queryOptions } from '@tanstack/react-query';
import { api } from '../api';
import { pages, type Asked } from './paged';

export const suppliersKey = ['suppliers'];

export const supplierPagesQuery = (asked: Asked<SuppliersAsked>) =>
  pages<SupplierRow>(suppliersKey, '/suppliers', asked);
export const supplierQuery = (id: string) =>
  queryOptions({ queryKey: [...suppliersKey, id], queryFn: () => api.get<SupplierPage>(`/suppliers/${id}`) });
