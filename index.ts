import './src/no-eval';
import 'expo-router/entry';
