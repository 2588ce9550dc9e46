import '../css/app.css';
import { mount } from 'svelte';
import Board from './board/Board.svelte';

const target = document.getElementById('board');
if (target !== null) {
  target.replaceChildren();
  mount(Board, { target });
}
