'use client';

import dynamic from 'next/dynamic';

/** The weigh-in drawn where it is looked at. */
export const WeighDrawn = dynamic(() => import('./weigh-chart').then((file) => file.WeighChart), {
  ssr: false,
  loading: () => <div className="h-44" />,
});
