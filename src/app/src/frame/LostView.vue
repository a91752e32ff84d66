<template>
  <div class="work empty">
    <h2>Page not found</h2>
    <p>The link may be out of date or mistyped.</p>
    <v-btn to="/">Go to Coverage</v-btn>
  </div>
</template>
