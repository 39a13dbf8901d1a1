namespace JollyBarn.Measures;

/// <summary>Why something cannot be: it does not read, or cannot physically be.</summary>
/// <param name="Says">One sentence: what is wrong and what to do.</param>
/// <param name="Field">The field it is about.</param>
public sealed record Refusal(string Says, string? Field = null);
