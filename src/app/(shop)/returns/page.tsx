import type { Metadata } from 'next';
import { Returns } from '@/features/care/returns';

export const metadata: Metadata = { title: 'What comes back' };

export default function WhatComesBack() {
  return <Returns />;
}
