namespace JollyBrook.Core.Carry.Promise;

/// <summary>What becomes of some walks at a place.</summary>
/// <param name="InHandL">In hand on arrival, L.</param>
/// <param name="Seen">What was found of the sources that are met again.</param>
/// <param name="Share">How many they were when it was reckoned, share of the condition's walks.</param>
/// <param name="Fate">What becomes of them.</param>
internal readonly record struct Known(double InHandL, ulong Seen, double Share, Fate Fate);

/// <summary>
/// What a policy does from a place on, and what becomes of those who come there, where that was reckoned before: policies that end alike
/// share it.
/// </summary>
internal sealed class PolicyOutlook
{
    /// <summary>
    /// What less than a millionth does is not followed: a fate is good for walks of up to so many times the share it was reckoned for.
    /// </summary>
    private const double MoreWalks = 4;

    private readonly RaisedPolicy? _policy;
    private readonly int _place;
    private readonly List<PolicyOutlook> _before = [];

    // For each condition the first fate that is known, and with each the next; −1 for none.
    private int[] _first = [];
    private Known[] _known = [];
    private int[] _next = [];

    private PolicyOutlook(RaisedPolicy? policy, int place) => (_policy, _place) = (policy, place);

    /// <summary>How many fates are known.</summary>
    public int Count { get; private set; }

    /// <summary>Nothing more to do: the end of every policy.</summary>
    public static PolicyOutlook End() => new(null, -1);

    /// <summary>What a policy does at each place and from there on, of those that end with this one.</summary>
    /// <param name="policy">The policy.</param>
    /// <param name="places">How many places there are, the last of which nothing is done at.</param>
    public PolicyOutlook[] Of(RaisedPolicy policy, int places)
    {
        var outlooks = new PolicyOutlook[places - 1];
        var rest = this;
        for (var k = places - 2; k >= 0; k--)
        {
            outlooks[k] = rest = rest.Before(policy, k);
        }

        return outlooks;
    }

    private PolicyOutlook Before(RaisedPolicy policy, int place)
    {
        if (_before.Find(b => b._policy!.IsLike(policy, place)) is not { } before)
        {
            before = new PolicyOutlook(policy, place);
            _before.Add(before);
        }

        return before;
    }

    /// <summary>What becomes of some walks, where it is known.</summary>
    /// <param name="condition">Which condition.</param>
    /// <param name="inHandL">In hand on arrival, L.</param>
    /// <param name="seen">What was found of the sources that are met again.</param>
    /// <param name="share">How many they are, share of the condition's walks.</param>
    /// <param name="fate">What becomes of them.</param>
    public bool TryFind(int condition, double inHandL, ulong seen, double share, out Fate fate)
    {
        for (var i = _first.Length == 0 ? -1 : _first[condition]; i >= 0; i = _next[i])
        {
            ref readonly var known = ref _known[i];
            if (known.InHandL == inHandL && known.Seen == seen && share <= MoreWalks * known.Share)
            {
                fate = known.Fate;
                return true;
            }
        }

        fate = default;
        return false;
    }

    /// <summary>Remembers what becomes of some.</summary>
    /// <param name="condition">Which condition.</param>
    /// <param name="conditions">Of how many.</param>
    /// <param name="known">What becomes of whom.</param>
    public void Remember(int condition, int conditions, in Known known)
    {
        if (_first.Length == 0)
        {
            _first = new int[conditions];
            Array.Fill(_first, -1);
            (_known, _next) = (new Known[2 * conditions], new int[2 * conditions]);
        }

        if (Count == _known.Length)
        {
            Array.Resize(ref _known, 2 * Count);
            Array.Resize(ref _next, 2 * Count);
        }

        (_known[Count], _next[Count]) = (known, _first[condition]);
        _first[condition] = Count++;
    }
}
