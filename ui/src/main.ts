import { mount } from 'svelte';
import './app.css';
import App from './App.svelte';
import { light } from './parts/light.svelte';

light.apply();
mount(App, { target: document.getElementById('app')! });
