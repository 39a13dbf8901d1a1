namespace JollyBarn.Wiring;

/// <summary>A shop's own way of making up a box, kept from one that was made so: what is joined with what, on which terminals.</summary>
/// <param name="Box">The box it was kept from, with everything in it.</param>
/// <param name="Feeds">What each of its cables does, by the end of the cable (<c>run.a</c>).</param>
public sealed record Pattern(string Name, string By, string At, Box Box, IReadOnlyDictionary<string, Feeds> Feeds);
