namespace JollyBarn.Store;

/// <summary>What somebody sends under a name. Where people sign in, the name is that of who is signed in, whatever was sent.</summary>
public interface ISent
{
    string By { get; }

    /// <summary>The same, sent by somebody else.</summary>
    ISent As(string by);
}
