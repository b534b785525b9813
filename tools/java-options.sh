# How the virtual machine is started, from the sources and from the image: read by the shell that starts it, which
# has the arguments of the program. Sets java_options.
# Where the class archive cannot be used, the program only starts more slowly: no need to say so.
java_options='-Xlog:cds=off -Xlog:cds+dynamic=off'
case " $* " in
*' --values'*)
  # Values typed on the command line are few: the virtual machine's second compiler is of no use at all.
  java_options="$java_options -XX:TieredStopAtLevel=1"
  ;;
*)
  # Most commands end before it is of use; it comes later than by itself.
  java_options="$java_options -XX:Tier4InvocationThreshold=50000 -XX:Tier4MinInvocationThreshold=6000"
  java_options="$java_options -XX:Tier4CompileThreshold=150000 -XX:Tier4BackEdgeThreshold=400000"
  ;;
esac
