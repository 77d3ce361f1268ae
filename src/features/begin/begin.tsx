'use client';

import dynamic from 'next/dynamic';

/** The first questions, with all their fields: a shop that has begun never loads them. */
export const Begin = dynamic(() => import('./begin-shop').then((one) => one.BeginShop));
