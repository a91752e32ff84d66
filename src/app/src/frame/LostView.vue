<template>
  <div class="work empty">
    <h2>There is nothing at this address</h2>
    <p>The link may be old, or a letter is missing.</p>
    <v-btn to="/">To Coverage</v-btn>
  </div>
</template>
