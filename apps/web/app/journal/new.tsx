import { behind } from '@/behind/behind';

export default behind(({ NewPieceScreen }) => NewPieceScreen);
