namespace JollyBarn.Planning.Ways;

/// <summary>Which pieces are cut from which coil.</summary>
/// <param name="Coil">Index of the coil or offcut; −1 for new cable.</param>
/// <param name="Pieces">Indices of the pieces cut from it.</param>
/// <param name="Left">What is left of it, ft.</param>
public sealed record CoilCut(int Coil, IReadOnlyList<int> Pieces, decimal Left);

/// <summary>How pieces are cut from what lies in the van, and how much has to be bought.</summary>
/// <param name="Bought">Feet of new cable.</param>
/// <param name="Bound">No plan buys less, ft.</param>
/// <param name="Longest">The longest piece of stock afterwards, coils that were not begun among them, ft.</param>
public sealed record CoilPlan(IReadOnlyList<CoilCut> Cuts, decimal Bought, decimal Bound, decimal Longest)
{
    /// <summary>Coils and offcuts that are begun.</summary>
    public int Opened => Cuts.Count(c => c.Coil >= 0);
}
