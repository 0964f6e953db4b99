<script lang="ts"></script>

<p>Rampart</p>
