"""Solvers over whole spans: arrays in and out. They know bodies and contacts, and nothing of documents."""
