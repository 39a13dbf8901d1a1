namespace JollyBarn.Wiring;

/// <summary>Numbered things that hang together.</summary>
internal sealed class Pieces
{
    private readonly int[] above;

    public Pieces(int count)
    {
        above = new int[count];
        for (var i = 0; i < count; i++)
        {
            above[i] = i;
        }
    }

    private Pieces(int[] above) => this.above = above;

    public int Count => above.Length;

    public Pieces Copy() => new((int[])above.Clone());

    public void Join(int a, int b)
    {
        var (one, other) = (Root(a), Root(b));
        if (one != other)
        {
            above[Math.Max(one, other)] = Math.Min(one, other);
        }
    }

    public int Root(int at)
    {
        while (above[at] != at)
        {
            at = above[at] = above[above[at]];
        }

        return at;
    }
}
