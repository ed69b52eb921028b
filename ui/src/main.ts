import { mount } from 'svelte';
import './app.css';
import App from './App.svelte';
import { keepFocus } from './parts/focusKeeper';
import { light } from './parts/light.svelte';

light.apply();
// Before anything can have the focus.
keepFocus();
mount(App, { target: document.getElementById('app')! });
