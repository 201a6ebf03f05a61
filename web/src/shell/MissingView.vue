<template>
  <main id="work" class="view">
    <h1>{{ $t('shell.missing') }}</h1>
    <p>
      <RouterLink :to="{ name: 'today' }">{{ $t('shell.toToday') }}</RouterLink>
    </p>
  </main>
</template>
